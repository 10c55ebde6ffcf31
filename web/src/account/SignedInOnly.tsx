import { Outlet, useMatch } from 'react-router';
import { Loading } from '../common/States';
import { BenchStart } from '../devices/BenchStart';
import { PairForm } from '../devices/PairPage';
import { SignInForm } from './SignInPage';
import { useMe } from './useMe';

/**
 * What is inside of a studio, for whoever is known there. Whoever is not signs in first, at the same
 * address, and is then where they wanted to be; a device is paired first. One that is for the bench
 * alone goes from the list of what is next to a piece's steps, and nowhere else.
 */
export function SignedInOnly() {
  const me = useMe();
  const atWork = useMatch('/pieces/:pieceId/work/:stepId?') !== null;
  if (me.data?.unpaired) {
    return <PairForm />;
  }
  if (me.data?.role === 'ANYONE') {
    return <SignInForm />;
  }
  if (me.data?.device?.benchOnly && !atWork) {
    return <BenchStart device={me.data.device.name} />;
  }
  // a server that does not answer is told of by whatever needs its answer
  return me.isPending ? <Loading what="who you are" /> : <Outlet />;
}
