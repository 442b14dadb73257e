<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Http\ApiResource;

/** What a sheet would come to. Its shape is that of SheetCheck. */
final class SheetCheckResource extends ApiResource {}
