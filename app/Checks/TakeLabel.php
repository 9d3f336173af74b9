<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\User;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;

/** Enters what a label's code says, as found, all of it or nothing; what is entered the same already stays one fact. */
final readonly class TakeLabel
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<string, string> $facts by key of the seat section
     * @throws UnreadableAnswer
     */
    public function __invoke(Check $check, array $facts, User $author): void
    {
        if ($facts === []) {
            throw UnreadableAnswer::because('nothing_to_take');
        }
        OpenCheck::write($check, function (Check $check) use ($facts, $author): void {
            foreach ($facts as $key => $value) {
                if (CasePath::get($check->caseOf(InspectionPhase::Found)->raw, "seat.{$key}") !== $value) {
                    NoteFact::append(
                        $check,
                        UuidV7::generate(),
                        InspectionPhase::Found,
                        "seat.{$key}",
                        $value,
                        $author,
                        $this->clock->now(),
                        'label’s code',
                    );
                }
            }
            try {
                $check->caseOf(InspectionPhase::Left);
            } catch (InvalidCase $e) {
                throw UnreadableAnswer::of($e->problems[0]);
            }
        });
    }
}
