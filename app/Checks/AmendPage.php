<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\SeatModel;
use App\Units;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Finding\Station;

/** What can be added to a check after its family has left: first which fact, then what is known of it now, and why. */
final readonly class AmendPage
{
    /** @var AskedRow|null the fact that was chosen */
    public ?AskedRow $row;

    public Check $check;

    /** @param string $fact path of the one chosen; empty: none yet */
    public function __construct(private JudgedCheck $judged, string $fact, public Units $units, public ?string $problem = null)
    {
        $this->check = $judged->check;
        $askable = Amend::may($fact) ? Questionnaire::standard()->for($fact) : null;
        $this->row = $askable === null || $askable->kind === AnswerKind::Elsewhere ? null : AskedRow::of(
            $askable,
            $fact,
            $judged->folded->case,
            CasePath::get($judged->folded->raw, $fact),
            false,
        );
    }

    /** @return array<string, non-empty-list<Askable>> by station: what can be added to */
    public function facts(): array
    {
        $facts = [];
        foreach (Questionnaire::standard()->all as $askable) {
            $isHere = in_array($askable->station, Station::of($this->judged->assessment->situation->bus !== null), true);
            if ($isHere && Amend::may($askable->path) && ! $askable->hasStar() && $askable->kind !== AnswerKind::Elsewhere) {
                $facts[$askable->station->value][] = $askable;
            }
        }

        return $facts;
    }

    /** @return list<array{name: string, essential: bool}> that came with a seat of this model */
    public function modelParts(): array
    {
        return SeatModel::known($this->check->seat_model_id)->about['parts'] ?? [];
    }
}
