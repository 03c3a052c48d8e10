import { buttonClass } from '../form/button';
import { PrintButton } from './print-button';

/** To print what is on the page, or to have it as a file; not on paper. */
export function PaperButtons({ print, file, paper }: { print: string; file: string; paper: string }) {
  return (
    <>
      <PrintButton>{print}</PrintButton>
      <a href={file} download className={buttonClass()}>
        PDF, {paper}
      </a>
    </>
  );
}
