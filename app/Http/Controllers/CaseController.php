<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\AssembleCase;
use App\Models\Check;
use Illuminate\Http\Response;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Record\InspectionPhase;

final readonly class CaseController
{
    public function __invoke(Check $check): Response
    {
        $check->load('visit.event.recallList');

        return response(Writer::write(AssembleCase::read($check, InspectionPhase::Left)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"ticket-{$check->visit->ticket}-{$check->letter}.json\"",
        ]);
    }
}
