<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Http\ApiResource;
use LowPoint\Core\Measuring\Picture;

/**
 * Figures of a picture with their 90 % intervals; what cannot be had is null.
 *
 * @phpstan-import-type PictureShape from Picture
 * @phpstan-type MeasuredPictureShape PictureShape
 */
final class MeasuredPictureResource extends ApiResource {}
