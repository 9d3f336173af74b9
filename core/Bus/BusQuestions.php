<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Station;

/** What the rules of seats and children ask of a check on a bus. */
final readonly class BusQuestions
{
    /** Of a vest: what a harness seat or a belt would be asked. */
    private const NOT_OF_VEST = [Station::Place, Station::Secure, Station::Measure, Station::Buckle];

    private const OF_EVERY_SYSTEM = ['setup', 'setup.mode'];

    /**
     * The question as it is put on a bus; null where the system has no such thing: a vest has neither shell nor slots, and a seat that
     * is built in does not move.
     */
    public static function put(Question $question, AssessmentContext $s): ?Question
    {
        return match (true) {
            $question->path === 'setup.held_by' => new Question('bus.held_by', Station::Bus, $question->couldBe),
            $s->system === BusSystem::Vest && self::isOfShell($question) => null,
            $s->system === BusSystem::Integrated && $question->station === Station::Measure => null,
            default => $question,
        };
    }

    /** Whether a fact that nobody asks for may be noted besides: nothing of a car on a bus, nothing of a bus in a car. */
    public static function mayBeNoted(string $path, Station $station, AssessmentContext $s): bool
    {
        if ($s->bus === null) {
            return $station !== Station::Bus;
        }
        $isVest = $s->system === BusSystem::Vest;

        return ! in_array($station, $isVest ? self::NOT_OF_VEST : [Station::Place, Station::Secure], true)
            && ! str_starts_with($path, 'setup.tether.')
            && ($isVest || ! str_starts_with($path, 'bus.vest.'));
    }

    private static function isOfShell(Question $question): bool
    {
        return ! in_array($question->path, self::OF_EVERY_SYSTEM, true)
            && (in_array($question->station, self::NOT_OF_VEST, true) || str_starts_with($question->path, 'setup.'));
    }
}
