export { NotebookScreen as default } from '@/screens/notebook/notebook-screen';
