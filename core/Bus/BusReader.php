<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\CaseFile\Consistency;
use MintBuckle\Core\CaseFile\Envelope;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonText;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\BusSystem;
use stdClass;

/** A bus file's text to a request. As strict as the case file, and of the same parts. */
final readonly class BusReader
{
    public const FORMAT = 'mint-buckle/bus';

    public const VERSION = 1;

    /** Kinds of seats that face the rear: the search keeps a bit for each. */
    private const MOST_REAR = 60;

    /** @throws InvalidCase */
    public static function read(string $json): BusRequest
    {
        return self::fromObject(JsonText::decode($json));
    }

    /** @throws InvalidCase */
    public static function fromObject(stdClass $data): BusRequest
    {
        $problems = new Problems();
        Envelope::check($data, self::FORMAT, self::VERSION, $problems);
        $request = SectionReader::read(BusRequest::class, $data, '', $problems, [], Envelope::KEYS);
        self::benches($request, $problems);
        self::systems($request, $problems);
        self::riders($request, $problems);
        self::keep($request, $problems);
        $problems->stopIfAny();

        return $request;
    }

    private static function benches(BusRequest $request, Problems $problems): void
    {
        $seen = [];
        foreach ($request->benches as $index => $bench) {
            $name = "{$bench->row} {$bench->side->value}";
            if (isset($seen[$name])) {
                $problems->add("benches.{$index}", "is the second bench {$name}");
            }
            $seen[$name] = true;
            if ($bench->integrated !== null && $request->system($bench->integrated)?->kind !== BusSystem::Integrated) {
                $problems->add("benches.{$index}.integrated", 'must be the id of an integrated system');
            }
        }
    }

    private static function systems(BusRequest $request, Problems $problems): void
    {
        $rear = array_filter($request->systems, static fn(BusRestraint $system): bool => $system->kind->facesRear());
        if (count($rear) > self::MOST_REAR) {
            $problems->add('systems', 'face the rear more often than ' . self::MOST_REAR . ' times: plan with fewer kinds');
        }
        $seen = [];
        foreach ($request->systems as $index => $system) {
            if (isset($seen[$system->id])) {
                $problems->add("systems.{$index}.id", "is the second {$system->id}");
            }
            $seen[$system->id] = true;
            if (! $system->kind->isRestraint()) {
                $problems->add("systems.{$index}.kind", 'must be a system that keeps a child');
            }
        }
    }

    private static function riders(BusRequest $request, Problems $problems): void
    {
        $seen = [];
        foreach ($request->riders as $index => $rider) {
            if (isset($seen[$rider->name])) {
                $problems->add("riders.{$index}.name", "is the second {$rider->name}");
            }
            $seen[$rider->name] = true;
            if ($rider->system !== null && $request->system($rider->system) === null) {
                $problems->add("riders.{$index}.system", "must be the id of a system; there is no {$rider->system}");
            }
            self::child($request, $rider, "riders.{$index}.", $problems);
        }
    }

    private static function keep(BusRequest $request, Problems $problems): void
    {
        $layout = new BusLayout($request->benches);
        $names = array_map(static fn(BusRider $rider): string => $rider->name, $request->riders);
        $seen = [];
        foreach ($request->keep as $index => $keep) {
            if (! in_array($keep->rider, $names, true)) {
                $problems->add("keep.{$index}.rider", "must be a rider; there is no {$keep->rider}");
            }
            if (isset($seen[$keep->rider])) {
                $problems->add("keep.{$index}.rider", "keeps {$keep->rider} a second time");
            }
            $seen[$keep->rider] = true;
            if ($layout->number($keep->row, $keep->side) === null) {
                $problems->add("keep.{$index}", "must be a bench; there is no {$keep->row} {$keep->side->value}");
            }
        }
    }

    /** What the case file refuses of a child is refused here, with the rider's path before it. */
    private static function child(BusRequest $request, BusRider $rider, string $prefix, Problems $problems): void
    {
        $own = new Problems();
        Consistency::check($request->caseOf($rider), $own);
        try {
            $own->stopIfAny();
        } catch (InvalidCase $e) {
            array_map(static fn(Problem $p) => $problems->add($prefix . $p->path, $p->message, $p->told()), $e->problems);
        }
    }
}
