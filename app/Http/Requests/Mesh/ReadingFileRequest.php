<?php

declare(strict_types=1);

namespace App\Http\Requests\Mesh;

use App\Http\Requests\JobRequest;
use App\Stations\Mesh\ReadingRefused;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\GraphMlReader;
use Kavvel\Core\Mesh\MeshFile;

/** A reading as a file. */
final class ReadingFileRequest extends JobRequest
{
    private const MOST_KB = 5_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['graph' => ['required', 'file', 'max:'.self::MOST_KB, 'extensions:graphml,xml']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'graph.required' => 'Choose the file: GraphML, as Kavvel or another program wrote it.',
            'graph.max' => 'A reading has at most 5 MB.',
            'graph.extensions' => 'That is no GraphML file.',
        ];
    }

    /** @throws ReadingRefused that says where */
    public function meshFile(): MeshFile
    {
        try {
            return GraphMlReader::read((string) $this->file('graph')?->getContent());
        } catch (InvalidInput $broken) {
            throw ReadingRefused::isBroken($broken);
        }
    }
}
