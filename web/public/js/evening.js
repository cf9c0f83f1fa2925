import { live } from "kettle/live.js";

live(document.getElementById("plan"));
