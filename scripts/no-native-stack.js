// In the place of the router's stack of native screens, which the web application does not have: it shows one screen in a slot.
exports.createNativeStackNavigator = () => ({ Navigator: () => null, Screen: () => null, Group: () => null });
