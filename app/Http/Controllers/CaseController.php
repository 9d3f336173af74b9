<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AssembleCase;
use App\Models\Check;
use App\Track;
use Illuminate\Http\Response;
use MintBuckle\Core\CaseFile\Writer;

final readonly class CaseController
{
    public function __invoke(Check $check): Response
    {
        $check->load('visit.day.recallList');

        return response(Writer::write(AssembleCase::read($check, Track::Left)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"ticket-{$check->visit->ticket}-{$check->letter}.json\"",
        ]);
    }
}
