import { Outlet } from 'react-router';
import { Loading } from '../common/States';
import { PairForm } from '../devices/PairPage';
import { SignInForm } from './SignInPage';
import { useMe } from './useMe';

/**
 * What is inside of a studio, for whoever is known there. Whoever is not signs in first, at the same
 * address, and is then where they wanted to be; a device is paired first.
 */
export function SignedInOnly() {
  const me = useMe();
  if (me.data?.unpaired) {
    return <PairForm />;
  }
  if (me.data?.role === 'ANYONE') {
    return <SignInForm />;
  }
  // a server that does not answer is told of by whatever needs its answer
  return me.isPending ? <Loading what="who you are" /> : <Outlet />;
}
