<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Check;
use App\Models\User;
use App\Models\Visit;
use App\Track;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\AssessmentWriter;
use MintBuckle\Core\Rulebook;
use Psr\Clock\ClockInterface;

/** A family leaves: each check is signed, and its assessment kept whole with the rulebook's version. Once. */
final readonly class SendOff
{
    public function __construct(private ClockInterface $clock, private Rulebook $rulebook) {}

    public function __invoke(Visit $visit, User $signer): void
    {
        DB::transaction(function () use ($visit, $signer): void {
            $locked = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            if ($locked->left_at !== null) {
                return;
            }
            $now = $this->clock->now();
            foreach ($locked->checks()->with(['facts', 'visit.day.recallList'])->get() as $check) {
                $check->update($this->signature($check, $signer) + ['signed_at' => $now]);
            }
            $locked->update(['left_at' => $now]);
        });
    }

    /** @return array<string, mixed> */
    private function signature(Check $check, User $signer): array
    {
        $assessment = Assessor::assess(AssembleCase::read($check, Track::Left), $this->rulebook);

        return ['signed_by' => $signer->id, 'rulebook' => $assessment->rulebook, 'assessment' => AssessmentWriter::toArray($assessment)];
    }
}
