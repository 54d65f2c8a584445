<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\OpeningMark;
use Kavvel\Core\Measuring\WindowMeasures;

/**
 * What was measured of a door or window before something for it is bought. The opening is named by its wall and its place in it.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property string $opening
 * @property string|null $storey
 * @property float|null $x  before its middle, when it was measured
 * @property float|null $y
 * @property array<string, mixed>|null $door
 * @property array<string, mixed>|null $window
 */
final class OpeningMeasure extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'opening_measures';

    protected $guarded = [];

    /** Null where nobody has noted where it was. */
    public function mark(): ?OpeningMark
    {
        return $this->storey === null || $this->x === null || $this->y === null
            ? null
            : new OpeningMark($this->opening, $this->storey, $this->x, $this->y);
    }

    public function doorMeasures(): DoorMeasures
    {
        return $this->door === null ? new DoorMeasures : DoorMeasures::fromInput(Input::of($this->door));
    }

    public function windowMeasures(): WindowMeasures
    {
        return $this->window === null ? new WindowMeasures : WindowMeasures::fromInput(Input::of($this->window));
    }

    protected function casts(): array
    {
        return ['door' => 'array', 'window' => 'array'];
    }
}
