<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\RecallImport;
use App\Recalls\ImportState;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A recall list as a file from this device. */
final class RecallFileRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['list' => ['required', 'file', 'max:65536'], 'dated' => ['nullable', 'date_format:Y-m-d']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => Telling::now()->word('refused.file.recalls'),
            'list.uploaded' => Telling::now()->word('refused.file.not_whole'),
            'list.max' => Telling::now()->word('refused.file.large_list'),
            'dated.date_format' => Telling::now()->word('refused.file.dated'),
        ];
    }

    public function toImport(): RecallImport
    {
        $file = $this->file('list');
        assert($file instanceof UploadedFile);

        return RecallImport::query()->create([
            'source' => mb_substr($file->getClientOriginalName(), 0, 200),
            'path' => (string) $file->store('recalls'),
            'dated' => $this->input('dated'),
            'state' => ImportState::Reading,
            'begun_by' => $this->author()->id,
        ]);
    }
}
