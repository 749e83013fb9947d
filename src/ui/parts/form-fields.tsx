/**
 * The fields of something that is kept by a press: while one of them shows what cannot be read, nothing else is kept in its place.
 */
import { createContext, type ReactNode, useContext, useEffect, useMemo, useRef, useState } from 'react';
import * as phrases from './words';

type Tell = (id: string, problem: string | null) => void;

const Told = createContext<Tell>(() => undefined);

/** Tells the form around a field what stands against it. Outside a form it tells nobody. */
export function useFieldProblem(id: string, problem: string | null): void {
  const tell = useContext(Told);
  useEffect(() => {
    tell(id, problem);
    return () => tell(id, null);
  }, [tell, id, problem]);
}

/**
 * @returns what wraps the fields; what stood against them when it was last to be kept, empty where nothing did; and what keeps,
 * unless a field shows something that cannot be read
 */
export function useFormFields() {
  const problems = useRef(new Map<string, string>());
  const [unread, setUnread] = useState('');
  const Fields = useMemo(() => {
    const tell: Tell = (id, problem) => {
      if (problem === null) problems.current.delete(id);
      else problems.current.set(id, problem);
    };
    return function Fields({ children }: { children: ReactNode }) {
      return <Told.Provider value={tell}>{children}</Told.Provider>;
    };
  }, []);
  const ifRead = (keep: () => void): void => {
    const standing = [...problems.current.values()].join(' ');
    setUnread(standing === '' ? '' : phrases.notKeptYet(standing));
    if (standing === '') keep();
  };
  return { Fields, unread, ifRead };
}
