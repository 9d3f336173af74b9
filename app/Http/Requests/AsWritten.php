<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Checks\AnswerReader;
use App\Checks\AssembleCase;
use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Visits\ChildReader;
use App\Words\Telling;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;

/** Dates and measures of an arriving child as they are written, and what the case format refuses of them. */
trait AsWritten
{
    /** @return list<Problem> */
    private static function problems(Arrival $arrival, ArrivingChild $child): array
    {
        $case = AssembleCase::begin(CheckupEvent::current());
        foreach ($arrival->vehicleFacts() + $child->facts as $key => $value) {
            CasePath::set($case, $key, FactLog::asKept($value));
        }
        try {
            Reader::fromObject($case);
        } catch (InvalidCase $e) {
            return $e->problems;
        }

        return [];
    }

    /** @param callable(string): void $fail */
    private static function amount(string $attribute, mixed $value, callable $fail): void
    {
        if (is_string($value) && ChildReader::written($value) === null) {
            $fail(Telling::now()->tell(new Message('refused.no_measure', ['text' => $value])));
        }
    }

    /** @param callable(string): void $fail */
    private static function labelDate(string $attribute, mixed $value, callable $fail): void
    {
        try {
            AnswerReader::date(is_string($value) ? trim($value) : '');
        } catch (UnreadableAnswer $e) {
            $fail($e->getMessage());
        }
    }
}
