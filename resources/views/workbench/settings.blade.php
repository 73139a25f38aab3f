<div class="bench-settings" id="bench-settings" role="group" aria-label="{{ __('floor.settings.label') }}">
@if ($against ?? null)<input type="hidden" name="against" value="{{ $against }}">@endif
<label>{{ __('floor.settings.you') }} <x-select small name="defender" data-size-you :options="$settings->sizeNames()"
    :value="$settings->defender"/></label>
<x-button size="sm" type="button" data-key="x" x-on:click="swapSizes" :aria-label="__('floor.settings.swap')"
    :title="__('floor.settings.swap-key')">⇄</x-button>
<label>{{ __('floor.settings.attacker') }} <x-select small name="attacker" data-size-attacker :options="$settings->sizeNames()"
    :value="$settings->attacker"/></label>
<label class="check"><input type="checkbox" name="side" value="mirrored" data-key="o" @checked($settings->isMirrored())
    @disabled($symmetric)> {{ __('words.mirrored') }}</label>
<label>{{ __('floor.settings.pace') }} <x-select small name="rung" :options="$settings->rungNames($rungs)"
    :value="$settings->rung?->id"/></label>
<label>{{ __('floor.settings.bearings') }} <x-select small name="style" :options="texts('floor.settings.styles')"
    :value="$settings->style->value"/></label>
<label class="check"><input type="checkbox" checked data-layer="threats" x-on:change="layers"> {{ __('floor.settings.threats') }}</label>
<label class="check"><input type="checkbox" data-layer="reach" x-on:change="layers"> {{ __('floor.settings.reach') }}</label>
<label class="check"><input type="checkbox" data-layer="targets" x-on:change="layers"> {{ __('floor.settings.targets') }}</label>
</div>
