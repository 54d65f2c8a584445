<?php

declare(strict_types=1);

namespace App\Idempotency;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** What a request asks for, whole: address, values and the contents of its files. */
final readonly class RequestHash
{
    public static function of(Request $request, string $keyField): string
    {
        $values = array_diff_key($request->request->all(), ['_token' => true, $keyField => true]);
        ksort($values);
        $files = array_map(self::file(...), $request->allFiles());
        ksort($files);

        return hash('sha256', serialize([$request->method(), $request->path(), $request->query->all(), $values, $files]));
    }

    private static function file(mixed $file): mixed
    {
        return match (true) {
            $file instanceof UploadedFile => [
                $file->getClientOriginalName(), $file->isValid() ? hash_file('sha256', $file->getPathname()) : '',
            ],
            is_array($file) => array_map(self::file(...), $file),
            default => null,
        };
    }
}
