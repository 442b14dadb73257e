<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Http\Request;

/**
 * Entries of one device may arrive twice, late and out of order. Each carries the name of the device and a number that only
 * grows; what is not newer than what was heard of that device is answered, and changes nothing.
 *
 * @property array<string, int>|null $heard the latest number by device, or by device and part
 */
trait HearsDevices
{
    /**
     * Whether this is news; then it is remembered. Entries without a stamp always are.
     *
     * @param  string  $of  the part of the record that it speaks of, where its parts are entered one by one
     */
    public function hears(Request $request, string $of = ''): bool
    {
        $device = $request->input('from.device');
        $number = $request->input('from.number');
        if (! \is_string($device) || ! \is_int($number) || preg_match('/^[0-9A-Za-z-]{1,40}$/', $device) !== 1) {
            return true;
        }
        $heard = $this->heard ?? [];
        $what = trim("{$device} {$of}");
        if (($heard[$what] ?? 0) >= $number) {
            return false;
        }
        $this->heard = [$what => $number] + $heard;

        return true;
    }
}
