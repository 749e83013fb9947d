/** Said where a figure that is not settled could be kept; apart from the fit itself, which a screen does not need. */
export const NOT_SETTLED = 'The readings have not settled on one figure yet: take another before you keep it.';
