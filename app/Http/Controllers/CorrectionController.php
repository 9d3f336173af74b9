<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\PublishSeatModel;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Telling\Message;
use stdClass;

final readonly class CorrectionController
{
    public function store(Request $request, SeatModel $model, Fact $fact): RedirectResponse
    {
        abort_unless(Fact::correctionsOf($model)->contains('id', $fact->id), 404);
        $rules = FactLog::asKept($model->rules);
        assert($rules instanceof stdClass);
        CasePath::set($rules, substr($fact->key, strlen('seat.')), FactLog::asKept($fact->value));
        $author = $request->user();
        $newer = PublishSeatModel::put($rules, $model->kind, $author instanceof User ? $author : null);

        return redirect()->route('seats.show', $newer)->with(
            'status',
            Telling::now()->tell(new Message('catalogue.corrected', ['n' => $newer->version, 'model' => $newer->title()])),
        );
    }
}
