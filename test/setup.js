// Fonts are ready at once in unit tests; loading them is the browser tests' matter.
jest.mock('expo-font', () => ({ ...jest.requireActual('expo-font'), isLoaded: () => true }));
