throw new Error('Only the one shipped icon family may be used; see src/ui/icons.');
