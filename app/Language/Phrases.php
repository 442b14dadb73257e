<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\PhraseBook;

/** The phrase books, lang/{language}.json, which Laravel reads as well for what the app itself says. */
final class Phrases
{
    public static function in(Language $language): PhraseBook
    {
        /** @var array<string, string> $phrases */
        $phrases =
            $language === Language::English
                ? []
                : json_decode((string) file_get_contents(lang_path("{$language->value}.json")), true, flags: JSON_THROW_ON_ERROR);

        return new PhraseBook($phrases, $language);
    }

    /** The book of the language in which this request is answered. */
    public static function spoken(): PhraseBook
    {
        return self::in(Language::from(App::getLocale()));
    }

    /** The first of the reader's languages that there is. */
    public static function wanted(Request $request): Language
    {
        return Language::from((string) $request->getPreferredLanguage(array_column(Language::cases(), 'value')));
    }
}
