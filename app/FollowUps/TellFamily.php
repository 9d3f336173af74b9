<?php

declare(strict_types=1);

namespace App\FollowUps;

use App\Models\FollowUp;
use App\Models\OutgoingMail;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A family is told: by whom and when is kept; by mail once, into the stand-in. */
final readonly class TellFamily
{
    public function __construct(private ClockInterface $clock) {}

    public function told(FollowUp $followUp, bool $isTold, User $by): void
    {
        $followUp->row()->update([
            'told_at' => $isTold ? $this->clock->now() : null,
            'told_by' => $isTold ? $by->id : null,
        ]);
    }

    public function mail(FollowUp $followUp, User $by): void
    {
        DB::transaction(function () use ($followUp, $by): void {
            $row = $followUp->row()->lockForUpdate()->firstOrFail();
            $contact = $followUp->check->visit->family?->contact;
            if ($row->mailed_at !== null || $contact === null) {
                return;
            }
            OutgoingMail::query()->create([
                'to' => $contact,
                'subject' => FollowUpWords::subject($followUp),
                'text' => implode("\n\n", FollowUpWords::paragraphs($followUp)),
                'made_at' => $this->clock->now(),
            ]);
            $followUp->row()->update(['mailed_at' => $this->clock->now(), 'told_at' => $this->clock->now(), 'told_by' => $by->id]);
        });
    }
}
