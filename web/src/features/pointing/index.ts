export { hitOf, surely, type Hit } from './found';
