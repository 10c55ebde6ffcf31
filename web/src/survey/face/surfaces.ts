import type { Finish, MakeUp } from '../../api/client';

export const MAKE_UPS: ReadonlyArray<readonly [MakeUp, string]> = [
  ['WOOD', 'wood'],
  ['VENEER', 'veneer'],
  ['BOARD', 'board'],
  ['LAMINATE', 'laminate'],
  ['GLASS', 'glass'],
  ['GLAZED', 'glazed ware'],
  ['METAL', 'metal'],
  ['PLASTIC', 'plastic'],
  ['LEATHER', 'leather'],
  ['STONE_WARE', 'stoneware'],
];

export const FINISHES: ReadonlyArray<readonly [Finish, string]> = [
  ['BARE', 'bare'],
  ['PAINTED', 'painted'],
  ['WAXED', 'waxed'],
  ['VARNISHED', 'varnished'],
];
