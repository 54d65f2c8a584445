<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\Models\MeshReading;
use Kavvel\Core\Protocol\Protocol;

/** The last reading of a radio, judged. */
final readonly class JudgedReading
{
    private function __construct(public MeshReading $reading, public MeasuredMesh $mesh) {}

    /** The last of this radio; null: it was not read. */
    public static function of(JobSheet $sheet, Protocol $protocol): ?self
    {
        $reading = MeshReading::lastOf($sheet->job)->get($protocol->value);

        return $reading === null ? null : new self($reading, MeasuredMesh::of($sheet, $reading));
    }

    /** @return list<self> of every radio that was read, meshes and others in the order in which they were read */
    public static function all(JobSheet $sheet): array
    {
        return array_values(MeshReading::lastOf($sheet->job)->map(
            static fn (MeshReading $reading): self => new self($reading, MeasuredMesh::of($sheet, $reading)),
        )->all());
    }
}
