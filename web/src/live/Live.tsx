import { createContext, useContext } from 'react';
import { Outlet } from 'react-router';
import type { OtherWindow } from '../api/client';
import { useHere } from './useHere';
import { useLive } from './useLive';

const OthersContext = createContext<ReadonlyArray<OtherWindow>>([]);

/** Which other windows are looked at now, in this studio. */
export const useOthers = () => useContext(OthersContext);

/** All pages within a studio, in step with those in other windows. */
export function Live() {
  const others = useLive();
  useHere();
  return (
    <OthersContext.Provider value={others}>
      <Outlet />
    </OthersContext.Provider>
  );
}
