<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\Consistency;
use MintBuckle\Core\CaseFile\Envelope;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonText;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\SeatingPosition;
use stdClass;

/** A seating file's text to a request. As strict as the case file, and of the same parts. */
final readonly class SeatingReader
{
    public const FORMAT = 'mint-buckle/seating';

    public const VERSION = 1;

    /**
     * @param CalendarDate $today where the file names none
     * @throws InvalidCase
     */
    public static function read(string $json, CalendarDate $today): SeatingRequest
    {
        return self::fromObject(JsonText::decode($json), $today);
    }

    /** @throws InvalidCase */
    public static function fromObject(stdClass $data, CalendarDate $today): SeatingRequest
    {
        $problems = new Problems();
        Envelope::check($data, self::FORMAT, self::VERSION, $problems);
        $request = SectionReader::read(SeatingRequest::class, $data, '', $problems, ['today' => $today], Envelope::KEYS);
        self::check($request, $problems);
        $problems->stopIfAny();

        return $request;
    }

    private static function check(SeatingRequest $request, Problems $problems): void
    {
        $places = array_map(static fn(SeatingPosition $p): string => $p->name, $request->vehicle->positions);
        self::consistent($request, null, '', $problems);
        if (count($request->riders) > SeatingRequest::MOST_RIDERS) {
            $problems->add('riders', 'are more than ' . SeatingRequest::MOST_RIDERS . ': plan one car at a time');
        }
        $names = [];
        foreach ($request->riders as $index => $rider) {
            self::consistent($request, $rider, "riders.{$index}.", $problems);
            if (isset($names[$rider->name])) {
                $problems->add("riders.{$index}.name", "is the second {$rider->name}");
            }
            if ($rider->nowAt !== null && ! in_array($rider->nowAt, $places, true)) {
                $problems->add("riders.{$index}.now_at", "must be a place of the vehicle, which has no {$rider->nowAt}");
            }
            if ($rider->keep && $rider->nowAt === null) {
                $problems->add("riders.{$index}.keep", 'needs a now_at to be kept at');
            }
            $names[$rider->name] = true;
        }
    }

    /** What the case file refuses is refused here, with the rider's path before it. */
    private static function consistent(SeatingRequest $request, ?Rider $rider, string $prefix, Problems $problems): void
    {
        $own = new Problems();
        Consistency::check($request->caseOf($rider ?? new Rider(''), positions: $rider === null ? null : []), $own);
        try {
            $own->stopIfAny();
        } catch (InvalidCase $e) {
            array_map(static fn(Problem $p) => $problems->add($prefix . $p->path, $p->message, $p->told()), $e->problems);
        }
    }
}
