/** A module as another page of the same browser has it: nothing that it remembers is shared. */
export function anotherPage<Module>(load: () => Module): Module {
  let loaded: { module: Module } | undefined;
  jest.isolateModules(() => {
    loaded = { module: load() };
  });
  if (loaded === undefined) throw new Error('not loaded');
  return loaded.module;
}
