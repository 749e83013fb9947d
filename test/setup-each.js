// A warning or an error on the console fails the test that caused it.
const fail =
  (kind) =>
  (...args) => {
    throw new Error(`console.${kind} during a test: ${args.map(String).join(' ')}`);
  };
beforeEach(() => {
  jest.spyOn(console, 'error').mockImplementation(fail('error'));
  jest.spyOn(console, 'warn').mockImplementation(fail('warn'));
});

// The first test of a file loads the screens: where other work shares the machine, that alone can take five seconds.
jest.setTimeout(20_000);
