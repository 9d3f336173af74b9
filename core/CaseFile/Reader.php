<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\PracticeCode;
use stdClass;

/** A case file's text to a CaseFile. Strict: anything the format does not know is refused, and every problem is named with its path. */
final readonly class Reader
{
    use ReadsSections;

    public const FORMAT = 'mint-buckle/case';

    public const VERSION = 1;

    /** @throws InvalidCase */
    public static function read(string $json): CaseFile
    {
        return self::fromObject(JsonText::decode($json));
    }

    /** @throws InvalidCase */
    public static function fromObject(stdClass $data): CaseFile
    {
        $problems = new Problems();
        $node = new Node($data, '', $problems);
        self::envelope($node);
        $today = $node->date('today') ?? CalendarDate::of(Bounds::LAST_YEAR, 12, 31);
        $case = new CaseFile(
            today: $today,
            practice: $node->choice('practice', PracticeCode::class) ?? PracticeCode::Us,
            child: SceneReader::child($node->section('child')),
            policy: SceneReader::policy($node->section('policy')),
            law: SceneReader::law($node->section('law')),
            recallList: self::maybe($node->object('recall_list'), SceneReader::recallList(...)),
            seat: self::maybe($node->object('seat'), SeatReader::seat(...)),
            vehicle: self::maybe($node->object('vehicle'), SceneReader::vehicle(...)),
            setup: self::maybe($node->object('setup'), SetupReader::setup(...)),
            handover: self::maybe($node->object('handover'), SceneReader::handover(...)),
        );
        $node->done();
        Consistency::check($case, $problems);
        $problems->stopIfAny();

        return $case;
    }

    private static function envelope(Node $node): void
    {
        foreach (['version', 'today', 'practice', 'child'] as $key) {
            $node->require($key);
        }
        $format = $node->required('format');
        if ($format !== '' && $format !== self::FORMAT) {
            $node->wrong('format', 'must be ' . self::FORMAT);
        }
        $node->whole('version', self::VERSION, self::VERSION);
    }
}
