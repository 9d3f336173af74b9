<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\TakeLabel;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Label\LabelCode;

final readonly class LabelController
{
    public function show(PlainRequest $request, Check $check): View
    {
        $code = $request->string('code')->toString();

        return view(
            'pages.checks.label',
            ['check' => $check->load('visit'), 'code' => $code, 'read' => $code === '' ? null : LabelCode::read($code)],
        );
    }

    public function store(PlainRequest $request, Check $check, TakeLabel $take): RedirectResponse
    {
        $author = $request->user();
        assert($author instanceof User);
        $read = LabelCode::read($request->string('code')->toString());
        $as = $request->string('as')->toString();
        try {
            $take($check, $read->text !== null && in_array($as, ['serial', 'model'], true) ? [$as => $read->text] : $read->facts, $author);
        } catch (UnreadableAnswer $e) {
            return redirect()->route(
                'checks.label',
                ['check' => $check, 'code' => $request->string('code')->toString()],
            )->with('problem', $e->getMessage());
        }

        return redirect()->route('checks.show', [$check->id, 'found', 'label'])->with(
            'status',
            Telling::now()->word('checks.code.taken'),
        );
    }
}
