export {
  coverJobs,
  MOST_CANDIDATES,
  MOST_JOBS,
  serves,
  type Coverage,
  type TwinCandidate,
  type TwinJob,
} from './cover'
export { TWIN_JOBS } from './jobs'
