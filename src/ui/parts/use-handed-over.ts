/**
 * What is typed and handed over: it leaves its field at once, so that the next can be typed and a second tap hands over nothing,
 * and comes back where it is refused and nothing else has been typed since.
 */
import { useState } from 'react';
import { type Answer, isRefusal } from './use-refusal';

/** @param empty what stands in the field when there is nothing in it */
export function useHandedOver<Value>(empty: Value): {
  value: Value;
  type: (value: Value) => void;
  handedOver: (answer: Answer) => void;
} {
  const [value, setValue] = useState<Value>(empty);
  return {
    value,
    type: setValue,
    handedOver: (answer) => {
      // What has been typed while it was looked up stays.
      setValue((now) => (now === value ? empty : now));
      if (answer instanceof Promise)
        void answer.then((outcome: unknown) => {
          if (isRefusal(outcome)) setValue((now) => (now === empty ? value : now));
        });
    },
  };
}
