@props(['label'])
<x-field name="code" class="mb-3" :label="$label">
    <x-input name="code" :value="old('code')" required autofocus maxlength="40" autocomplete="off" autocapitalize="characters"
        spellcheck="false"/>
</x-field>
