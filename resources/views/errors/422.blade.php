<x-message name="422" :text="$says ?? null"/>
