<?php

declare(strict_types=1);

namespace App\Naming;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Ecosystem as JobEcosystem;
use App\Models\SiteJob;
use Kavvel\Core\Naming\Conflict;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\DeviceLabel;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\NameJudgement;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\PlatformForm;
use Kavvel\Core\Naming\RenamePlan;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Protocol\Protocol;
use stdClass;

/** The names of a job, given and proposed, as the core judges them. */
final readonly class JobNames
{
    /**
     * @param  list<Device>  $devices
     * @param  list<string>  $rooms
     */
    private function __construct(private Pattern $pattern, private array $devices, private array $rooms, private SiteJob $job) {}

    public static function of(JobSheet $sheet): self
    {
        return new self(
            new Pattern($sheet->job->name_pattern),
            array_values(array_map(static fn (SlotCard $card): Device => new Device(
                $card->key(),
                $card->room,
                $card->slot->place,
                $card->slot->what,
                $card->profile->protocol,
                $card->slot->name,
            ), $sheet->cards)),
            array_values(array_column($sheet->geometry->rooms, 'name')),
            $sheet->job,
        );
    }

    /** The same in two queries, where nothing but the names is asked for. */
    public static function read(SiteJob $job): self
    {
        $rows = $job->slots()->toBase()->orderBy('slots.room_id')->orderBy('slots.id')
            ->join('rooms', 'rooms.id', 'slots.room_id')->join('profiles', 'profiles.id', 'slots.profile_id')
            ->get(['slots.key', 'slots.place', 'slots.what', 'slots.name', 'rooms.name as room', 'profiles.data->protocol as protocol']);
        $devices = $rows->map(static fn (stdClass $row): Device => new Device(
            $row->key,
            $row->room,
            $row->place,
            $row->what,
            Protocol::tryFrom(trim((string) $row->protocol, '"')),
            $row->name,
        ));

        return new self(
            new Pattern($job->name_pattern),
            array_values($devices->all()),
            array_values($job->rooms()->pluck('name')->all()),
            $job,
        );
    }

    /** The name that was given, or proposed in the form that fits the device; or one that was typed instead. */
    public function judge(string $key, ?string $typed = null): NameJudgement
    {
        return NameJudgement::of($this->pattern, $this->devices, $this->check(), $key, $typed);
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, string> by key: the name that was given, or proposed in the form that fits
     */
    public function names(array $keys): array
    {
        return NamePlan::proposals($this->pattern, $this->devices, $keys);
    }

    public function rename(RenameAsk $ask): RenamePlan
    {
        return RenamePlan::of($this->pattern, $this->devices, $this->check(), $ask->wanted($this->pattern, $this->devices));
    }

    /** What is written to a device that has its name. */
    public function label(string $key): DeviceLabel
    {
        return DeviceLabel::of($this->judge($key)->name, $this->device($key)?->protocol);
    }

    /**
     * What each platform shows of a name that was given, proposed, or typed.
     *
     * @return list<PlatformForm>
     */
    public function platformForms(NameJudgement $judgement): array
    {
        $id = $judgement->name->id;
        $devices = array_map(
            static fn (Device $one): Device => $one->id === $id ? $one->called($judgement->name->name) : $one,
            $this->devices,
        );
        return PlatformForm::of(self::named($devices), $this->platforms(), $id);
    }

    /** @return array<string, string|null> by slot after a blank: what a platform is to show of each that has its name */
    public function on(Ecosystem $platform): array
    {
        return PlatformForm::all(self::named($this->devices), $platform);
    }

    public function device(string $key): ?Device
    {
        foreach ($this->devices as $device) {
            if ($device->id === $key) {
                return $device;
            }
        }

        return null;
    }

    /** @return list<Conflict> of all names with each other */
    public function conflicts(): array
    {
        return NamePlan::of($this->pattern, $this->devices, $this->check())->conflicts;
    }

    /**
     * @param  list<Device>  $devices
     * @return list<Device>
     */
    private static function named(array $devices): array
    {
        return array_values(array_filter($devices, static fn (Device $one): bool => $one->given !== null));
    }

    private function check(): ConflictCheck
    {
        return new ConflictCheck(
            $this->rooms,
            Text::lines((string) $this->job->name_groups),
            $this->noted(),
        );
    }

    /** @return list<Ecosystem> those that the client uses devices from, and whoever else was noted to show names */
    private function platforms(): array
    {
        $names = array_map(static fn (Ecosystem $one): string => Text::fold($one->id), $this->noted());
        $used = JobEcosystem::query()->where('site_job_id', $this->job->id)->with('sheet')->orderBy('id')->get()
            ->map(static fn (JobEcosystem $one): Ecosystem => $one->sheet->ecosystem()->platform($one->name));

        return [
            ...array_values($used->filter(static fn (Ecosystem $one): bool => ! in_array(Text::fold($one->id), $names, true))->all()),
            ...$this->noted(),
        ];
    }

    /**
     * Those whose limits count for every name. An ecosystem shows a form that fits it of the devices that reach it, and does not hold
     * back the names of the others.
     *
     * @return list<Ecosystem>
     */
    private function noted(): array
    {
        return Ecosystem::fromLines((string) $this->job->name_platforms);
    }
}
