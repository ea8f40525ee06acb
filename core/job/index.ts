export { type Job, JOB_IDS, type JobId, JOBS, trialGoalOf } from './jobs'
