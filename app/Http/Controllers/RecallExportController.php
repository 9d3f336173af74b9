<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\RecallList;
use App\Recalls\RecallExport;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class RecallExportController
{
    public function __invoke(RecallList $list, string $form): StreamedResponse
    {
        $export = new RecallExport($list);

        return response()->streamDownload(
            $form === 'csv' ? $export->csv(...) : $export->json(...),
            "recalls-{$list->dated->toDateString()}.{$form}",
            ['Content-Type' => $form === 'csv' ? 'text/csv; charset=utf-8; header=present' : 'application/json'],
        );
    }
}
