<?php

declare(strict_types=1);

namespace App\Practice;

use App\Checks\AskedRow;
use App\Checks\FactText;
use App\Models\PracticeSet;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\BenchView;
use MintBuckle\Present\Drawing\BuckleFront;

/** A class's drills on paper: what is seen of each, room to write, and the key. */
final readonly class ClassSheet
{
    /** @var list<array{scene: DrillScene, faults: list<Finding>}> */
    public array $drills;

    public function __construct(public PracticeSet $set)
    {
        $this->drills = array_map(static function (array $item): array {
            $scene = DrillScene::ofClass($item);

            return ['scene' => $scene, 'faults' => $scene->shown->faults()];
        }, $set->items);
    }

    /** @return array<string, list<array{Message, Quantity|Message|Listing|string}>> by look: what is seen, and how it is */
    public function seen(DrillScene $scene): array
    {
        $seen = [];
        foreach ($scene->paths() as $path) {
            $askable = Questionnaire::standard()->for($path);
            $look = DrillLook::of($path);
            if ($askable !== null && $look !== null) {
                $value = CasePath::get($scene->shown->case, $path);
                $row = AskedRow::of($askable, $path, $scene->shown->assessment->situation->case, $value, false);
                $seen[$look->value][] = [$askable->short(), FactText::of($row, $value)];
            }
        }

        foreach ($scene->looks() as $look) {
            foreach ($scene->besides($look) as $path => $told) {
                $seen[$look->value][] = [DrillScene::named($path), $told];
            }
        }

        return $seen;
    }

    public function front(Scene $scene): ?BuckleFront
    {
        return $scene->assessment->situation->bus === null ? BuckleFront::of($scene->assessment->situation, lead: false) : null;
    }

    public function bench(Scene $scene): ?BenchView
    {
        return $scene->assessment->situation->bus === null ? null : BenchView::of($scene->assessment->situation);
    }
}
