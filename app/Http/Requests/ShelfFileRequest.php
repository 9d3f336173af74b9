<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Shelf\ShelfFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A shelf as a file from this device. */
final class ShelfFileRequest extends FormRequest
{
    use BySomebody;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['shelf' => ['required', 'file', 'max:1024']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shelf.required' => 'Choose a file: JSON or CSV.', 'shelf.max' => 'The file is larger than 1 MiB.'];
    }

    public function shelf(): ShelfFile
    {
        $file = $this->file('shelf');
        assert($file instanceof UploadedFile);

        return ShelfFile::read((string) $file->get());
    }
}
