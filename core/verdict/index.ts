export {
  JOB_VERDICTS,
  judgeJob,
  type BladeFit,
  type JobInput,
  type JobReason,
  type JobReasonCode,
  type JobVerdict,
  type JobWord,
} from './judge'
export { mendedBy, type OwnedPart } from './mendedBy'
export { jobHeadline, verdictWords } from './words'
