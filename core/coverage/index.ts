export { coverJobs, MOST_CANDIDATES, serves, type Coverage, type TwinCandidate, type TwinJob } from './cover'
export { TWIN_JOBS } from './jobs'
