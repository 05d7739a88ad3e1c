CREATE TABLE "photos" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"build" uuid NOT NULL,
	"note" uuid,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"whole" "bytea" NOT NULL,
	"small" "bytea" NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "notes" ADD COLUMN "tags" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_build_builds_id_fk" FOREIGN KEY ("build") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_note_notes_id_fk" FOREIGN KEY ("note") REFERENCES "public"."notes"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photos_of_build" ON "photos" USING btree ("build");--> statement-breakpoint
CREATE INDEX "photos_of_note" ON "photos" USING btree ("note");