<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;
use App\Pictures\Picture;
use App\Pictures\PictureRefused;
use App\Pictures\Pictures;
use Illuminate\Support\Carbon;

/** An import under way: the job that is made, what has been read of it, and how far its dates are shifted. */
final class Reading
{
    /** @var array<string, array<string, int>> ids by section and key */
    private array $ids = [];

    /**
     * @param  array<string, int>  $people  user ids of the company by e-mail
     * @param  bool  $linksStandin  whether a hub of the file may take the link of the stand-in
     */
    public function __construct(
        public readonly SiteJob $job,
        public readonly array $people,
        private readonly int $shiftDays,
        public readonly bool $linksStandin,
    ) {}

    public function keep(string $section, string $key, int $id): void
    {
        $this->ids[$section]["key {$key}"] = $id;
    }

    public function id(string $section, ?string $key): ?int
    {
        return $this->ids[$section]["key {$key}"] ?? null;
    }

    public function date(string $date): Carbon
    {
        return Carbon::parse($date)->addDays($this->shiftDays);
    }

    public function time(?string $time): ?Carbon
    {
        return $time === null ? null : Carbon::parse($time)->addDays($this->shiftDays);
    }

    /**
     * Something that is kept as the file has it, its times shifted as the others are.
     *
     * @param  array<array-key, mixed>  $kept
     * @return array<array-key, mixed>
     */
    public function shifted(array $kept): array
    {
        foreach ($kept as $key => $value) {
            $kept[$key] = match (true) {
                is_array($value) => $this->shifted($value),
                $key === 'at' => $this->time($value)?->format('Y-m-d\TH:i:s\Z'),
                default => $value,
            };
        }

        return $kept;
    }

    /**
     * A picture of the file, written anew.
     *
     * @param  string  $at  where it stands in the file
     *
     * @throws ImportRefused where it is none
     */
    public function picture(string $base64, string $at): Picture
    {
        try {
            return (new Pictures)->read((string) base64_decode($base64, true));
        } catch (PictureRefused) {
            throw ImportRefused::isNoPicture($at);
        }
    }
}
