export {
  MOST_SHARE_CHARACTERS,
  packShare,
  readShare,
  type Share,
  shareLink,
  shareOf,
  type ShareReading,
  type ShareRoot,
} from './share'
