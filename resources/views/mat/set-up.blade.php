@if ($more > 0)
<form class="find-people" method="get" action="{{ route('mat', absolute: false) }}" role="search">
    <x-field name="find" :label="__('mat.not-here', ['count' => number_format($more)])">
        <x-input name="find" type="search" maxlength="200" :value="$find" :placeholder="__('mat.part-of-name')"/>
    </x-field>
    <button class="small">{{ __('words.find') }}</button>
</form>
@endif
<form x-ref="setup" x-on:submit.prevent="start" hx-post="{{ route('mat.forecast', absolute: false) }}" hx-trigger="change delay:250ms"
hx-target="#outlook" hx-sync="this:replace">
<fieldset class="who-is-here"><legend>{{ __('mat.who') }}</legend>
    <p x-show="isComing">{{ __('mat.looking-for-people') }}</p>
    <template x-for="student in everybody" x-bind:key="student.id">
        <label class="person"><input type="checkbox" name="people[]" x-bind:value="student.id"><span><strong
            x-text="student.name"></strong><small x-text="student.notes"></small></span></label>
    </template>
</fieldset>
<div class="settings">
    <x-field name="rung" :label="__('words.rung')">
        <select class="form-select" id="rung" name="rung" x-ref="rung" x-on:change="choseRung">
            @foreach ($rungs as $rung)<option value="{{ $rung->id }}">{{ $rung->id }} {{ $rung->name }}</option>@endforeach
        </select>
    </x-field>
    <x-field name="list" :label="__('mat.from')">
        <select class="form-select" id="list" name="list">
            <option value="most">{{ __('mat.lists.most') }}</option>
            <option value="holes">{{ __('mat.lists.holes') }}</option>
            <option value="fails">{{ __('mat.lists.fails') }}</option>
            <optgroup label="{{ __('mat.lists.rank') }}">
                @foreach ($ranks as $rank)<option value="rank:{{ $rank->code }}">{{ $rank->name }}</option>@endforeach
            </optgroup>
            <optgroup label="{{ __('mat.lists.family') }}">
                @foreach ($families as $family)<option value="family:{{ $family->value }}">{{ $family->text() }}</option>@endforeach
            </optgroup>
            @if ($lists->isNotEmpty())
                <optgroup label="{{ __('mat.lists.saved') }}">
                    @foreach ($lists as $list)<option value="list:{{ $list->id }}">{{ $list->name }}</option>@endforeach
                </optgroup>
            @endif
        </select>
    </x-field>
    <x-field name="each" :label="__('mat.reps-each')"><x-input name="each" type="number" min="1" max="200" value="5"/></x-field>
    <x-field name="minutes" :label="__('mat.max-minutes')">
        <x-input name="minutes" type="number" min="0" max="240" :placeholder="__('mat.no-limit')"/>
    </x-field>
</div>
<div class="chips">
    <label><input type="checkbox" name="sound" checked> {{ __('mat.sound') }}</label>
    <label><input type="checkbox" name="flash" checked> {{ __('mat.flash') }}</label>
    <label><input type="checkbox" name="watch"> {{ __('mat.stopwatch') }}</label>
</div>
<p class="flash flash-error" role="alert" tabindex="-1" x-cloak x-ref="error" x-show="error" x-text="error"></p>
<button class="begin">{{ __('mat.start') }}</button>
<div id="outlook" aria-live="polite" data-unanswered="{{ __('mat.unanswered') }}"><p class="lead-line">{{ __('mat.tap-who') }}</p></div>
</form>
