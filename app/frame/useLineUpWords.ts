import { whenever } from '@vueuse/core'
import { JOBS } from '#core/job'
import { hasSwing } from '#core/stitch'
import { formatShort } from '#core/units'
import { plateOn } from '#shared/inputs'
import { pieceName, type Thread } from '#shared/records'
import { familyWords } from '#shared/setup'
import { firstViewStands } from '~/utils/firstView'

/** What the line-up says of the piece in hand and of each thing it is sewn with. */
export function useLineUpWords() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const thread = (id: string | null): Thread | null => book.shelf.threads.get(id ?? '') ?? null
  const left = computed(() => thread(inHand.setup.threadIds.left))
  const right = computed(() => thread(inHand.setup.threadIds.right))
  const isTwin = computed(() => inHand.parts.needle !== null && inHand.parts.needle.construction !== 'single')

  /** What it is called. */
  const name = computed(() => (inHand.isBegun ? pieceName(inHand.piece) : 'A new piece'))
  /** Its job, and how many of it. */
  const about = computed(() => {
    const { copies, plan } = inHand.piece
    const row = plan.kind === 'band' ? `row ${inHand.row + 1} of ${plan.rows.length}` : ''
    const many = copies > 1 ? `${copies} copies` : ''
    return [JOBS[inHand.setup.job].name, row, many].filter(Boolean).join(' · ')
  })
  /** The numbers one dials: width where it swings, and length. */
  const stitchLine = computed(() => {
    const { widthMm, lengthMm } = inHand.setup.stitch
    const swings = inHand.parts.stitch !== null && hasSwing(inHand.parts.stitch)
    return swings ? `${bareMm(widthMm)} × ${bareMm(lengthMm)}` : bareMm(lengthMm)
  })
  const stitchNote = computed(() => {
    const { positionMm } = inHand.setup.stitch
    const side = positionMm < 0 ? 'left' : 'right'
    const moved = positionMm === 0 ? '' : `, ${bareMm(Math.abs(positionMm))} ${side}`
    return `${inHand.parts.stitch?.name ?? 'stitch gone'}${moved}`
  })

  const spoolNames = computed(() => {
    if (!left.value && (!isTwin.value || !right.value)) return []
    const names = isTwin.value
      ? [left.value?.name ?? 'left not chosen', right.value?.name ?? 'right not chosen']
      : [left.value!.name]
    return [...new Set(names)]
  })
  /** The second spool; else what the one there is for. */
  const spoolsNote = computed(() => {
    if (spoolNames.value[1]) return spoolNames.value[1]
    if (spoolNames.value.length === 0) return 'not chosen'
    if (inHand.parts.needle?.construction === 'triple')
      return inHand.setup.threadIds.middle === null ? 'middle not chosen' : 'all three'
    return isTwin.value ? 'both sides' : 'one needle'
  })

  /** What is on the real machine is no part of the first view; its panel tells it and leads into the walk. */
  const toChangeOver = shallowRef<() => number>(() => 0)
  async function readMachine(): Promise<void> {
    const { usePutBackStore } = await import('~/stations/walk/putBackStore')
    const put = usePutBackStore()
    toChangeOver.value = () => put.changeOver?.count ?? 0
  }
  whenever(firstViewStands, () => void readMachine().catch(() => {}), { once: true, immediate: true })
  const machineNote = computed(() => {
    const { machine } = inHand.parts
    if (!machine) return 'not chosen'
    const count = toChangeOver.value()
    return count > 0 ? `${count} to change over` : `widest ${bareMm(machine.maxWidthMm)}`
  })
  const footLine = computed(() => {
    const { foot } = inHand.parts
    if (plateOn(inHand.setup, inHand.parts.plate).singleHole) return 'single-hole plate'
    if (!foot) return 'zigzag plate'
    if (foot.singleHole) return 'single hole'
    return foot.slotMm === null ? 'not measured' : `opens ${bareMm(foot.slotMm)}`
  })
  /** A number that was set for something else is not shown as right. */
  const tensionLine = computed(() => {
    if (inHand.verdict.reasons.some(({ code }) => code === 'tension-carried')) return 'carried over'
    const family = familyWords(inHand.setup, book.shelf)
    if (family) return family
    const dial = inHand.parts.machine?.tensionDial
    return dial ? `normal is ${formatShort(dial.home)}` : 'normal not known'
  })
  return {
    left,
    right,
    isTwin,
    name,
    about,
    stitchLine,
    stitchNote,
    spoolNames,
    spoolsNote,
    machineNote,
    footLine,
    tensionLine,
  }
}
