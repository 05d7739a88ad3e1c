export { BackupsPage } from './backups-page.js';
