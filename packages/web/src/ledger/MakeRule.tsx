import type { ArrivalSheet } from '@hatband/contract';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useRefresh } from '../api/stale.ts';
import { ErrorLine } from '../shared/page/Page.tsx';

/** From a message to a rule that takes mail like it. */
export function MakeRule({ sheet, className }: { sheet: ArrivalSheet; className: string | undefined }) {
  const refresh = useRefresh();
  const navigate = useNavigate();
  const make = useMutation({
    mutationFn: async () => {
      const { addRuleFromMail } = await import('../rules/drafts/addRuleFromMail.ts');
      const rule = await addRuleFromMail(sheet);
      await refresh('rule');
      await navigate(`/rules/${rule.id}`);
    },
  });
  return (
    <>
      <button
        type="button"
        className={className}
        disabled={make.isPending}
        onClick={() => {
          make.mutate();
        }}
      >
        Make a rule from this mail
      </button>
      <ErrorLine error={make.error} />
    </>
  );
}
