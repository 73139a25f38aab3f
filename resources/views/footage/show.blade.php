@php([$one, $list, $item] = [$page->footage, $page->list, $page->item])
<x-layout :title="$item->what()">
<x-heading :title="$item->what()">
    @can('delete', $one)<x-delete :action="route('footage.destroy', $one)" :question="__('footage.delete-question')"/>@endcan
    <x-button size="sm" :href="$list->url()">{{ __('footage.of', ['name' => $list->name]) }}</x-button>
</x-heading>
<x-overtaken :row="$one"/>
<x-invalid/>
<div class="footage-page" x-data="clip" @if ($page->bench === null) data-alone @endif>
<div class="footage-seen">
    @if ($item->blank() !== '')
        <p class="footage-blank" role="status">{{ $item->blank() }}</p>
    @elseif ($one->type->isClip())
        <video controls playsinline preload="auto" src="{{ route('footage.file', $one) }}" width="{{ $one->width }}"
            height="{{ $one->height }}" poster="{{ route('footage.thumbnail', $one) }}" aria-label="{{ $item->told() }}"></video>
        @if ($page->bench === null)
            <label class="form-text">{{ __('floor.speed') }} <select class="form-select form-select-sm w-auto d-inline-block" data-slow
                x-on:change="pace">
                @foreach (texts('floor.speeds') as $speed => $name)<option value="{{ $speed }}">{{ $name }}</option>@endforeach
            </select></label>
        @endif
    @else
        <img src="{{ route('footage.file', $one) }}" width="{{ $one->width }}" height="{{ $one->height }}"
            alt="{{ $item->told() }}">
    @endif
    @can('update', $one)
    <form method="post" action="{{ route('footage.update', $one) }}" class="slab mt-3">
        @csrf
        @method('put')
        <x-hidden :values="['version' => old('version', $one->version)]"/>
        @includeWhen($page->bench !== null && $one->isReady(), 'footage.beats')
        @include('footage.fields', ['mistake' => $one->mistake, 'caption' => $one->caption, 'shows' => $page->shows()])
        <p class="step-buttons"><x-button kind="rust">{{ __('words.save') }}</x-button></p>
    </form>
    @elseif ($page->bench !== null)
        @include('footage.beats')
    @endcan
</div>
@if ($page->bench !== null)
    <div class="footage-floor">
        <form hx-get="{{ route('answers.floor', $one->answer) }}" hx-trigger="change" hx-target="#floor-here" hx-sync="this:queue last">
            <x-hidden :values="['mistake' => $one->mistake]"/>
            @include('workbench.settings', ['settings' => $page->bench->settings, 'symmetric' =>
                $page->bench->examination->trial->attack->isSymmetric()])
        </form>
        <div id="floor-here">@include('workbench.floor', ['bench' => $page->bench, 'isMistake' => $one->mistake !== ''])</div>
    </div>
@endif
</div>
</x-layout>
