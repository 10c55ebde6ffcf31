import type { CutsAhead, CutsView, DesignCut } from './client';

/** What is to be cut, and how those designs are cut that were worked out by now. */
export type CutsSoFar = {
  readonly ahead: CutsAhead;
  readonly designs: ReadonlyArray<DesignCut>;
};

/**
 * All that is cut, asked for one design after the other: two at once would share one server's time,
 * and both come late.
 *
 * @param tell told what there is each time when there is more
 */
export async function designByDesign(
  ahead: () => Promise<CutsAhead>,
  cut: (designId: string) => Promise<DesignCut>,
  tell: (so: CutsSoFar) => void,
): Promise<CutsView> {
  const all = await ahead();
  const designs: DesignCut[] = [];
  tell({ ahead: all, designs: [] });
  for (const { designId } of all.designs) {
    designs.push(await cut(designId));
    tell({ ahead: all, designs: [...designs] });
  }
  return { designs, others: all.others, made: all.made };
}
