<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\AssembleCase;
use App\Models\Check;
use App\Models\CheckupEvent;
use Illuminate\Http\Response;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Record\InspectionPhase;

/** Every check of an event as it left: case files, one a line, as buckle:assess --lines reads them. No names of families are in them. */
final readonly class EventCasesController
{
    private const AT_ONCE = 100;

    public function __invoke(CheckupEvent $event): Response
    {
        $event->load('recallList');
        $lines = '';
        $checks = Check::query()->whereRelation('visit', 'checkup_event_id', $event->id)->with(['facts', 'visit']);
        foreach ($checks->lazyById(self::AT_ONCE) as $check) {
            $check->visit->setRelation('event', $event);
            $case = Writer::write(AssembleCase::read($check, InspectionPhase::Left));
            // No text of JSON holds a line's end: what stands on several lines stands on one.
            $lines .= preg_replace('/\n\s*/', '', $case) . "\n";
        }

        return response($lines, 200, [
            'Content-Type' => 'application/jsonl',
            'Content-Disposition' => "attachment; filename=\"{$event->held_on->toDateString()}-cases.jsonl\"",
        ]);
    }
}
