<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Pairing\Batch;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Margin;

final class JobRulesRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'school' => ['required', Rule::enum(PairingOrder::class)],
            'batch' => ['required', 'integer', 'between:1,'.Batch::MOST],
            'name_pattern' => ['required', 'string', 'max:120', static function (string $attribute, mixed $value, callable $fail): void {
                try {
                    new Pattern((string) $value, 'the pattern');
                } catch (InvalidInput $refused) {
                    $fail($refused->getMessage());
                }
            }],
            'acceptance_db' => ['required', 'numeric', 'between:'.Margin::THIN_DB.',40'],
            'clutter_constant_db' => ['required', 'numeric', 'between:0,'.Clutter::MOST_CONSTANT_DB],
            'clutter_db_per_metre' => ['required', 'numeric', 'between:0,'.Clutter::MOST_DB_PER_METRE],
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['batch.between' => 'One window lets in 1 to '.Batch::MOST.' devices.',
            'acceptance_db.between' => 'A link is accepted from '.Margin::THIN_DB.' to 40 dB on: below '
            .Margin::THIN_DB.' dB it is lost.',
            'clutter_constant_db.between' => 'Furniture and people cost 0 to '.Clutter::MOST_CONSTANT_DB.' dB.',
            'clutter_db_per_metre.between' => 'Furniture and people cost 0 to '.Clutter::MOST_DB_PER_METRE.' dB for each metre.'];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->safe(['school', 'batch', 'name_pattern', 'acceptance_db', 'clutter_constant_db', 'clutter_db_per_metre']);
    }
}
