<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Catalogue\SeatModelFile;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Seat models as a file from this device. */
final class SeatModelFileRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['models' => ['required', 'file', 'max:32768']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'models.required' => Telling::now()->word('refused.file.models'),
            'models.max' => Telling::now()->word('refused.file.large'),
        ];
    }

    public function models(): SeatModelFile
    {
        $file = $this->file('models');
        assert($file instanceof UploadedFile);

        $stream = fopen($file->getPathname(), 'rb');
        assert($stream !== false);
        try {
            return SeatModelFile::read($stream);
        } finally {
            fclose($stream);
        }
    }
}
