import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { listOwnWords } from '@/store/own-voice';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { OwnVoice } from './own-voice';

export const metadata: Metadata = { title: 'Your own voice' };

export default async function OwnVoicePage() {
  return (
    <Page>
      <PageHead
        title="Your own voice"
        line="Say the words of the count once, and the count is said in your voice, on the beat. Nobody else hears it."
      />
      <OwnVoice first={await listOwnWords(await pageData())} />
      <Limits />
    </Page>
  );
}
